import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const made: string[] = [];
afterAll(() => {
  for (const file of made) rmSync(file, { force: true });
  for (const folder of ['lib/core/zznew', 'routes/zz-bad'])
    rmSync(join('src', folder), { recursive: true, force: true });
});

/** Writes a file with a bad import into the house, lets the rule look at it, and takes it away again. */
function broken(path: string, text: string): string {
  const file = join('src', path);
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, text);
  made.push(file);
  try {
    execFileSync('npx', ['depcruise', '--config', '.dependency-cruiser.cjs', file], {
      encoding: 'utf8',
      stdio: 'pipe'
    });
    return '';
  } catch (error) {
    return (error as { stdout: string }).stdout;
  } finally {
    rmSync(file, { force: true });
  }
}

describe('lint fails when a floor imports upwards', () => {
  it.each([
    ['core-stands-alone', 'lib/core/salt/zz-bad.ts', "import { z } from 'zod';\nexport const bad = z;\n"],
    [
      'core-stands-alone',
      'lib/core/salt/zz-bad.ts',
      "import { problem } from '../../words';\nexport const bad = problem;\n"
    ],
    [
      'core-by-its-door',
      'lib/core/vessel/zz-bad.ts',
      "import { plain } from '../quantity/write';\nexport const bad = plain;\n"
    ],
    [
      'core-salt-in-order',
      'lib/core/salt/zz-bad.ts',
      "import type { Batch } from '../batch/index';\nexport type Bad = Batch;\n"
    ],
    [
      'core-worksheet-in-order',
      'lib/core/worksheet/zz-bad.ts',
      "import type { Batch } from '../batch/index';\nexport type Bad = Batch;\n"
    ],
    [
      'ui-forms-in-order',
      'lib/ui/forms/zz-bad.ts',
      "import { weighIn } from '../weigh/weigh-in.svelte';\nexport const bad = weighIn;\n"
    ],
    [
      'every-room-has-its-place',
      'lib/core/zznew/index.ts',
      "import { done } from '../refusal/index';\nexport const bad = done;\n"
    ],
    [
      'core-inside-uses-siblings',
      'lib/core/salt/zz-bad.ts',
      "import { SALT_KINDS } from './index';\nexport const bad = SALT_KINDS;\n"
    ],
    [
      'schema-sees-core-and-zod',
      'lib/schema/zz-bad.ts',
      "import type { House } from '../server/usecases';\nexport type Bad = House;\n"
    ],
    [
      'words-say-core',
      'lib/words/zz-bad.ts',
      "import type { House } from '../server/usecases';\nexport type Bad = House;\n"
    ],
    [
      'use-cases-hold-no-rule',
      'lib/server/usecases/zz-bad.ts',
      "import { readWeight } from '../../core/reading';\nexport const bad = readWeight;\n"
    ],
    [
      'pages-show-views',
      'routes/zz-bad/+page.server.ts',
      "import { household } from '$lib/server/repos';\nexport const bad = household;\n"
    ],
    [
      'words-by-their-door',
      'lib/ui/zz-bad.ts',
      "import { problem } from '$lib/words/problems';\nexport const bad = problem;\n"
    ],
    [
      'ui-not-server',
      'lib/ui/zz-bad.ts',
      "import type { House } from '$lib/server/usecases';\nexport type Bad = House;\n"
    ],
    [
      'server-not-ui',
      'lib/server/zz-bad.ts',
      "import { numbers } from '../ui/time';\nexport const bad = numbers;\n"
    ],
    [
      'tests-stay-out',
      'lib/schema/zz-bad.ts',
      "import { near } from '../../../tests/support/vectors';\nexport const bad = near;\n"
    ],
    ['resolvable', 'lib/schema/zz-bad.ts', "import { gone } from './nowhere';\nexport const bad = gone;\n"]
  ])('%s', (rule, path, text) => expect(broken(path, text)).toContain(rule));
});
