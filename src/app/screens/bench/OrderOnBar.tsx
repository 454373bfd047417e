import { useMemo } from 'react';
import type { Design } from '../../../core/formats/design.ts';
import type { Plan } from '../../../core/plan/types.ts';
import { isMirrored, tyingOrders } from '../../../core/steps/rows/orders.ts';
import { USUAL_WAY } from '../../../core/steps/types.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import BarOrder from '../../ui/BarOrder.tsx';

/** The order on the bar as the usual maker has it before the eyes: the same as on the printed card. */
export default function OrderOnBar({ plan, planned }: { readonly plan: Plan; readonly planned: Design }) {
  const { know } = useWorkshop();
  const turned = useMemo(() => {
    const orders = tyingOrders(planned, plan, USUAL_WAY, know);
    return orders.ok && isMirrored(orders.value);
  }, [planned, plan, know]);
  return <BarOrder plan={plan} planned={planned} isMirrored={turned} />;
}
