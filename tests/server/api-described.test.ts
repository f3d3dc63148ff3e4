import SwaggerParser from '@apidevtools/swagger-parser';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { openapi } from '$lib/server/http/openapi';
import { READERS } from '$lib/server/views/reads';
import { COMMANDS, type CommandName } from '$lib/schema/commands';
import { READS, type ReadName } from '$lib/schema/reads';
import { GOOD, PREPARED } from '../support/good';
import { testHouse } from '../support/house';

/** The validator's own document is a plain object. */
type Described = Parameters<typeof SwaggerParser.validate>[0];

describe('the API described', () => {
  it('is a sound OpenAPI 3.1 document, by an independent validator', async () => {
    const api = await SwaggerParser.validate(structuredClone(openapi()) as unknown as Described);
    expect(api.info.title).toBe('Crockle');
    // The check can fail: a broken one is not let through.
    const broken = { ...openapi(), paths: { 'no-slash': {} } };
    await expect(SwaggerParser.validate(broken as unknown as Described)).rejects.toThrow();
  });

  it('describes every command and every read, and each field of a command by its name', () => {
    const { paths } = openapi() as { paths: Record<string, { post?: object; get?: object }> };
    for (const name of Object.keys(COMMANDS)) expect(paths[`/api/v1/${name}`]?.post, name).toBeDefined();
    for (const name of Object.keys(READS)) expect(paths[`/api/v1/${name}`]?.get, name).toBeDefined();
    expect(JSON.stringify(paths['/api/v1/weigh-in'])).toContain('"withTops"');
  });

  it('every answer has the shape that is published, and no more: nothing of the inside leaks', async () => {
    const house = await testHouse();
    for (const [name, input] of PREPARED)
      expect(await house.say(name, input), name).toMatchObject({ ok: true });
    for (const name of Object.keys(READS) as ReadName[]) {
      const answer: unknown = await READERS[name](house);
      // Parsing strips what is not published: nothing may be lost by it.
      expect(READS[name].parse(JSON.parse(JSON.stringify(answer))), name).toEqual(
        JSON.parse(JSON.stringify(answer))
      );
    }
    for (const [name, input] of Object.entries(GOOD) as [CommandName, Record<string, unknown>][]) {
      const done = await house.say(name, input);
      if (!done.ok) continue;
      const shape: z.ZodType = COMMANDS[name].answer;
      expect(shape.parse(done.value), name).toEqual(done.value);
    }
    await house.db.destroy();
  });
});
