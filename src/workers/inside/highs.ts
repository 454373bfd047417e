import type { Highs } from 'highs';
import type { LinearProgram, LinearSolution, Solver } from '../../core/cutting/solver.ts';

/** The solver of linear and whole-number programs, behind the core's own interface. */
export function highsSolver(highs: Pick<Highs, 'solve'>): Solver {
  return {
    solve: (program, seconds) => {
      if (program.columns.length === 0) return undefined;
      const solved = highs.solve(textOf(program), {
        output_flag: false,
        time_limit: seconds,
        ...(program.isInteger ? { mip_rel_gap: 0 } : { presolve: 'off' }),
      });
      const columns = solved.Columns as Record<string, { Primal?: number }>;
      const x = program.columns.map((_, i) => columns[`x${i}`]?.Primal ?? 0);
      const isDone = solved.Status === 'Optimal';
      // A whole-number program that ran out of time may still have found something; it is checked afterwards.
      if (!isDone && !(program.isInteger && solved.Status === 'Time limit reached' && isFeasible(program, x)))
        return undefined;
      const duals = (solved.Rows as { Dual?: number }[]).map((r) => r.Dual ?? 0);
      return {
        value: program.costs.reduce((sum, c, i) => sum + c * x[i]!, 0),
        x,
        duals,
      } satisfies LinearSolution;
    },
  };
}

function isFeasible({ rows, columns }: LinearProgram, x: readonly number[]): boolean {
  const sums = rows.map(() => 0);
  for (const [i, column] of columns.entries()) for (const [row, value] of column) sums[row]! += value * x[i]!;
  return rows.every(({ sense, rhs }, i) => {
    const off = sums[i]! - rhs;
    return sense === '>=' ? off > -1e-6 : sense === '<=' ? off < 1e-6 : Math.abs(off) < 1e-6;
  });
}

/** The program in the text format that the solver reads. */
function textOf({ costs, rows, columns, isInteger }: LinearProgram): string {
  const lines: string[][] = rows.map(() => []);
  for (const [i, column] of columns.entries())
    for (const [row, value] of column)
      lines[row]!.push(`${value < 0 ? '-' : '+'} ${number(Math.abs(value))} x${i}`);
  const objective = costs.map((c, i) => `${c < 0 ? '-' : '+'} ${number(Math.abs(c))} x${i}`).join(' ');
  const body = lines.map(
    (terms, r) =>
      ` r${r}: ${terms.length > 0 ? terms.join(' ') : '0 x0'} ${rows[r]!.sense} ${number(rows[r]!.rhs)}`,
  );
  const general = isInteger ? `General\n ${columns.map((_, i) => `x${i}`).join(' ')}\n` : '';
  return `Minimize\n obj: ${objective}\nSubject To\n${body.join('\n')}\n${general}End\n`;
}

const number = (value: number): string => Number(value.toPrecision(15)).toString();
