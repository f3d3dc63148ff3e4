import { done, refuse, type Outcome, type RefusalCode, type FieldName } from '../../core/refusal';

/** What a body that could not be read is refused with: cut at the limit, or not what it said it was. */
const unread = (error: unknown, code: RefusalCode): ReturnType<typeof refuse> =>
  refuse((error as { status?: unknown } | null)?.status === 413 ? 'too-large' : code);

const isJson = (type: string | null): boolean => /^application\/json\s*(;|$)/i.test(type ?? '');

/** The body of an API call. Refuses `not-json` and `too-large`. */
export async function jsonBody(request: Request): Promise<Outcome<unknown>> {
  if (!isJson(request.headers.get('content-type'))) return refuse('not-json');
  try {
    return done((await request.json()) as unknown);
  } catch (error) {
    return unread(error, 'not-json');
  }
}

/** A form's fields: a field given more than once is a list. Refuses `form-broken`, `field-is-file` and `too-large`. */
export async function formBody(request: Request): Promise<Outcome<Record<string, unknown>>> {
  let form: FormData;
  try {
    form = await request.formData();
  } catch (error) {
    return unread(error, 'form-broken');
  }
  const out: Record<string, unknown> = {};
  for (const name of new Set(form.keys())) {
    const all = form.getAll(name);
    if (all.some((v) => typeof v !== 'string'))
      return refuse('field-is-file', { field: name.slice(0, 64) as FieldName });
    // Own names only: a field called __proto__ is a field.
    Object.defineProperty(out, name, {
      value: all.length > 1 ? all : all[0],
      enumerable: true,
      writable: true,
      configurable: true
    });
  }
  return done(out);
}
