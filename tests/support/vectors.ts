import vectors from './vectors.json';

/**
 * Check values from outside the project, copied with their marks: P read from a package, FM recalled from memory
 * of the named publication, CP common practice without source, C computed by a script that is not this code.
 */
type Any = Record<string, never>;
export interface Vector {
  readonly id: string;
  readonly title: string;
  readonly inputs: Any;
  readonly expected: Any;
  readonly relTol: number;
  readonly mark: string;
}

/** The vector with that id, as loosely typed as JSON is. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export function vector(id: string): { in: any; out: any; tol: number; name: string } {
  const found = (vectors.vectors as unknown as Vector[]).find((v) => v.id === id);
  if (!found) throw new Error(`no vector ${id}`);
  return {
    in: found.inputs,
    out: found.expected,
    tol: found.relTol,
    name: `${id} ${found.title} [${found.mark}]`
  };
}

/** Relative closeness; a figure printed with four digits cannot be held tighter than half its last. */
export function near(value: number, expected: number, relTol: number): void {
  const allowed = Math.abs(expected) * Math.max(relTol, 1e-9) + 1e-12;
  if (!(Math.abs(value - expected) <= allowed))
    throw new Error(`${value} is not ${expected} within ${relTol * 100} %`);
}
