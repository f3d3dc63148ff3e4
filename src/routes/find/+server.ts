import { findable } from '$lib/server/views';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** What the command box finds beside rooms: asked for when it is opened, so that no page carries it. */
export const GET: RequestHandler = async ({ locals }) => json(await findable(locals.house));
