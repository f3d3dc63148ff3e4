/** So many pages hear one stream at once: a house has a few phones. */
export const MOST_LISTEN = 64;

/** A word to send, or null where the stream ends. */
type Hear<T> = (word: T | null) => void;

/**
 * Server-sent events: what `listen` tells goes to the page until it leaves or the stream ends. A page that does not keep up
 * misses what may be missed rather than hearing it late.
 */
export function eventStream<T>(
  listen: (hear: Hear<T>) => () => void,
  mayMiss: (word: T) => boolean = () => false
): Response {
  const bytes = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      stop = listen((word) => {
        if (word === null) {
          stop();
          return controller.close();
        }
        const behind = -(controller.desiredSize ?? 0);
        if (behind > 20 && mayMiss(word)) return;
        // Nobody reads any more: a phone that left the house. It asks anew when it is back.
        if (behind > 500) {
          stop();
          return controller.close();
        }
        controller.enqueue(bytes.encode(`data: ${JSON.stringify(word)}\n\n`));
      });
    },
    cancel: () => stop()
  });
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', connection: 'keep-alive' }
  });
}
