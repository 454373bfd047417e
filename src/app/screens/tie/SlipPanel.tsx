import { Panel } from './Panel.tsx';

export default function SlipPanel({ onClose }: { readonly onClose: () => void }) {
  return (
    <Panel title="It looks wrong" onClose={onClose}>
      <p />
    </Panel>
  );
}
