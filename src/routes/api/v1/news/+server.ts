import type { Told } from '$lib/server/news';
import { versionOf } from '$lib/server/db/log';
import { problemJson } from '$lib/server/http/answers';
import { eventStream, MOST_LISTEN } from '$lib/server/http/stream';
import type { RequestHandler } from './$types';

/** What is stored, as it is stored: how far the log goes now, and in which kinds of thing. The first word says where it stands. */
export const GET: RequestHandler = async ({ locals }) => {
  const { db, news } = locals.house;
  if (!news || news.listening >= MOST_LISTEN) return problemJson([{ code: 'too-many-listen' }]);
  const version = await versionOf(db);
  return eventStream<Told>((hear) => {
    hear({ version, kinds: [], ...news.stands });
    return news.hear(hear);
  });
};
