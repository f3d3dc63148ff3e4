<script lang="ts">
  import RecipeEditor from '$lib/ui/recipe/RecipeEditor.svelte';
</script>

<svelte:head><title>Write a recipe · Crockle</title></svelte:head>

<p class="no-print"><a class="act" href="/notebook/recipes">Recipes</a></p>
<h1 class="pb-4">Write a recipe</h1>
<RecipeEditor />
