<h1>Crockle</h1>
