/**
 * Default plans beside cuts that are known to have sufficed (docs/physics.md): no plan may ask for more, beyond what is
 * uncertain of that piece.   node --import tsx bench/practice.ts
 */
import { practiceTable } from '../scripts/practice.ts';

const rows = practiceTable();
for (const r of rows)
  console.log(
    `${r.name.padEnd(52)} plan ${r.planMm.toFixed(0).padStart(5)} mm, sufficed ${r.sufficedMm.toFixed(0).padStart(5)} mm, ±${r.uncertainMm.toFixed(0)}: ${((r.planMm / r.sufficedMm - 1) * 100).toFixed(1)} %${r.isWithin ? '' : '  TOO MUCH'}`,
  );
process.exitCode = rows.every((r) => r.isWithin) ? 0 : 1;
