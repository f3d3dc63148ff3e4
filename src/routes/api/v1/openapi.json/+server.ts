import { json } from '@sveltejs/kit';
import { openapi } from '$lib/server/http/openapi';
import type { RequestHandler } from './$types';

let described: ReturnType<typeof openapi> | undefined;

/** What the API takes and answers, described for programs. */
export const GET: RequestHandler = () => json((described ??= openapi()));
