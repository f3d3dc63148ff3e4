import { z } from 'zod';
import { ASIDES } from '../../schema/asides';
import { ANY, COMMANDS } from '../../schema/commands';
import { envelopeSchema } from '../../schema/envelope';
import { READS } from '../../schema/reads';
import type { RefusalCode } from '../../core/refusal';
import { statusOf } from './answers';

type Json = Readonly<Record<string, unknown>>;

/** A schema as JSON Schema; what only code can say of it (how an amount is read) is left out. */
function shapeOf(schema: z.ZodType, io: 'input' | 'output'): Json {
  return Object.fromEntries(
    Object.entries(z.toJSONSchema(schema, { io, unrepresentable: 'any' })).filter(
      ([key]) => key !== '$schema'
    )
  );
}

const asJson = (schema: Json, media = 'application/json') => ({ content: { [media]: { schema } } });

/** Refusals by their status, each with the codes that it may carry. */
function refusals(codes: readonly RefusalCode[]): Record<string, Json> {
  const by = new Map<number, RefusalCode[]>();
  for (const code of new Set<RefusalCode>(['not-json', 'too-large', 'signed-out', ...ANY, ...codes])) {
    const status = statusOf([{ code }]);
    by.set(status, [...(by.get(status) ?? []), code]);
  }
  return Object.fromEntries(
    [...by].map(([status, all]) => [
      String(status),
      {
        description: `Refused: ${all.sort().join(', ')}`,
        ...asJson({ $ref: '#/components/schemas/Problem' }, 'application/problem+json')
      }
    ])
  );
}

function doing(name: string, parts: { input: Json; answer: Json; refuses: readonly RefusalCode[] }): Json {
  return {
    post: {
      operationId: name,
      requestBody: { required: true, ...asJson(parts.input) },
      responses: { '200': { description: 'Done', ...asJson(parts.answer) }, ...refusals(parts.refuses) }
    }
  };
}

const PROBLEM: Json = {
  type: 'object',
  required: ['type', 'title', 'status', 'detail', 'problems'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string' },
    problems: {
      type: 'array',
      items: {
        type: 'object',
        required: ['code', 'field', 'says', 'wouldWork'],
        properties: {
          code: { type: 'string' },
          field: { type: ['string', 'null'] },
          says: { type: 'string' },
          wouldWork: { type: 'string' }
        }
      }
    }
  }
};

/** The API in the words of OpenAPI 3.1, from the registry: what is there is described, and nothing else. */
export function openapi(): Json {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Crockle',
      version: '1',
      description:
        'What a person does in Crockle, a program may do. A command carries a name of its own (commandId): said again it is answered again and stored once. Amounts are texts, read as a person types them.'
    },
    paths: paths(),
    components: {
      schemas: { Problem: PROBLEM, Envelope: shapeOf(envelopeSchema, 'input') },
      securitySchemes: { token: { type: 'http', scheme: 'bearer' } }
    },
    security: [{}, { token: [] }]
  };
}

function paths(): Record<string, Json> {
  const paths: Record<string, Json> = {};
  for (const [name, { input, answer, refuses }] of Object.entries(COMMANDS))
    paths[`/api/v1/${name}`] = doing(name, {
      input: { allOf: [shapeOf(input, 'input'), { $ref: '#/components/schemas/Envelope' }] },
      answer: shapeOf(answer, 'output'),
      refuses
    });
  for (const [name, { input, answer, refuses }] of Object.entries(ASIDES))
    paths[`/api/v1/${name}`] = doing(name, {
      input: shapeOf(input, 'input'),
      answer: shapeOf(answer, 'output'),
      refuses
    });
  for (const [name, answer] of Object.entries(READS)) {
    const path = `/api/v1/${name}`;
    paths[path] = {
      ...paths[path],
      get: {
        operationId: `read-${name}`,
        responses: {
          '200': { description: 'As it stands', ...asJson(shapeOf(answer, 'output')) },
          ...refusals([])
        }
      }
    };
  }
  return paths;
}
