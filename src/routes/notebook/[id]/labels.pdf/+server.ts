import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import boldMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import plain from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import plainMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import display from '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-800-normal.woff?url';
import { error } from '@sveltejs/kit';
import { read } from '$app/server';
import { problemJson } from '$lib/server/http/answers';
import { refusalsOf } from '$lib/server/usecases';
import { addressOf, labels } from '$lib/server/views/labels';
import { labelSheetSchema } from '$lib/schema/labels';
import type { RequestHandler } from './$types';

const bytes = async (url: string) => new Uint8Array(await read(url).arrayBuffer());
const all = (urls: readonly string[]) => Promise.all(urls.map(bytes));

/** The labels of a batch's jars on a sheet to print. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const found = await labels(locals.house, params.id);
  if (!found) error(404, 'No batch of that name.');
  const asked = labelSheetSchema.safeParse(Object.fromEntries(url.searchParams));
  if (!asked.success) return problemJson(refusalsOf(asked.error));
  const { jars, ...sheet } = asked.data;
  const wanted = found.labels.filter((l) => jars.length === 0 || jars.includes(l.fillingId));
  const address = await addressOf(locals.house, url.origin);
  // Read only where labels are printed: it is a large package.
  const { labelsPdf } = await import('$lib/server/labels/pdf');
  const fonts = {
    display: await all([display, bold, boldMore]),
    bold: await all([bold, boldMore]),
    plain: await all([plain, plainMore])
  };
  const made = await labelsPdf(wanted, sheet, fonts, (l) => `${address}/jar/${l.fillingId}`);
  if (!made.ok) return problemJson([made.refusal]);
  return new Response(Uint8Array.from(made.value), {
    headers: { 'content-type': 'application/pdf', 'cache-control': 'no-store' }
  });
};
