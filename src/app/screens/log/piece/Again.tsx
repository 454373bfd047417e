import { useState } from 'react';
import { findProduct } from '../../../../core/fit/products.ts';
import type { Design } from '../../../../core/formats/design.ts';
import { useLibrary } from '../../../state/library.ts';
import { Button } from '../../../ui/Button.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { TextField } from '../../../ui/TextField.tsx';

/** The same again, or for someone else: a design of its own, cut by what the log knows by now. */
export function Again({ design }: { readonly design: Design }) {
  const { openDesign } = useLibrary();
  const girth = findProduct(design.product)?.girth;
  const [isOther, setOther] = useState(false);
  const [name, setName] = useState('');
  const [girthMm, setGirth] = useState(design.wearer.girthMm);
  if (!isOther)
    return (
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => openDesign(design)}>Make it again</Button>
        <Button look="quiet" onClick={() => setOther(true)}>
          Make it for someone else…
        </Button>
      </div>
    );
  return (
    <form
      className="flex flex-col gap-2 rounded-lg bg-rule/40 p-3"
      onSubmit={(e) => {
        e.preventDefault();
        void openDesign({ ...design, wearer: { name: name.trim(), girthMm } });
      }}
    >
      <TextField
        label="For whom"
        value={name}
        maxLength={60}
        placeholder="Okoro"
        onChange={(e) => setName(e.target.value)}
      />
      <LengthField
        label={girth ? `Girth of the ${girth.name}` : 'Girth'}
        valueMm={girthMm}
        leastMm={girth?.leastMm ?? 60}
        mostMm={girth?.mostMm ?? 1000}
        onChange={setGirth}
      />
      <span className="flex gap-2">
        <Button type="submit">Plan it</Button>
        <Button look="quiet" onClick={() => setOther(false)}>
          Not now
        </Button>
      </span>
    </form>
  );
}
