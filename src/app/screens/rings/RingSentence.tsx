import { Link } from 'react-router';
import { CORDS } from '../../../core/cord/cords.ts';
import type { RingDesign } from '../../../core/formats/ring.ts';
import { codingWords } from '../../../core/rings/coding.ts';
import { shapeOfDesign } from '../../../core/rings/plan.ts';
import { findRingProduct, RING_PRODUCTS } from '../../../core/rings/products.ts';
import { withArticle } from '../../../core/words.ts';
import { useLength } from '../../ui/units.tsx';
import { Word } from '../../ui/Word.tsx';
import { useRing } from './RingContext.tsx';
import { ColourWord, CordPicker, EndsPicker } from './words/cordWords.tsx';
import { GirthPicker, ProductPicker, WearerPicker } from './words/girthWords.tsx';
import { useIssue } from './words/issues.tsx';
import { LanesPicker } from './words/laneWords.tsx';
import { CodingPicker, SizePicker, WidthPicker } from './words/sizeWords.tsx';
import { MirrorPicker } from './words/wayWords.tsx';

/** The ring in plain language: every emphasised word edits it in place. */
export function RingSentence() {
  const { ring, plan } = useRing();
  const show = useLength();
  const product = findRingProduct(ring.product) ?? RING_PRODUCTS[0]!;
  const strands = plan.strands;
  const name = withArticle(product.name);
  const article = name.slice(0, name.indexOf(' '));
  const used = strands > 1 && ring.strandCords ? ring.strandCords : ring.lanes;
  const cords = [...new Set(used)].sort();
  const turned = [
    ring.first === 'U' && 'mirrored',
    ring.hand === 'left' && 'left-handed',
    ring.startAt && `begun at pin ${ring.startAt}`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <section aria-label="The ring in a sentence" className="px-5 pt-3 pb-4">
      <p className="max-w-[78rem] text-[22px] leading-[1.65]">
        {article === 'an' ? 'An' : 'A'}{' '}
        <Word label="Product" letter="p" text={product.name} picker={ProductPicker} /> for{' '}
        <Word
          label="Wearer"
          letter="n"
          text={ring.wearer || (product.girth === 'body' ? 'someone' : 'something')}
          picker={WearerPicker}
        />
        , {product.girth === 'body' ? 'over a ' : 'on a '}
        {product.measured} of{' '}
        <Word
          label={`${product.measured} girth`}
          letter="g"
          text={show(ring.girth.mm)}
          problem={useIssue('/girth')}
          picker={GirthPicker}
        />
        :{' '}
        <Word
          label="Leads and bights"
          letter="k"
          text={`${ring.leads} leads × ${ring.bights} bights`}
          problem={useIssue('/leads', '/bights')}
          picker={SizePicker}
        />
        ,{' '}
        <Word
          label="Coding"
          letter="m"
          text={codingWords(shapeOfDesign(ring).coding)}
          problem={useIssue('/coding')}
          picker={CodingPicker}
        />
        ,{' '}
        <Word
          label="Passes"
          letter="r"
          text={passesText(ring)}
          problem={useIssue('/lanes')}
          picker={LanesPicker}
          width="wide"
        />{' '}
        in{' '}
        <Word
          label="Cord"
          letter="c"
          text={CORDS.find((c) => c.id === ring.cord)?.name ?? ring.cord}
          problem={useIssue('/cord')}
          picker={CordPicker}
        />
        ,{' '}
        {cords.map((cord, i) => (
          <span key={cord}>
            {i > 0 && (i === cords.length - 1 ? (isBetween(ring, cord) ? ' with ' : ' and ') : ', ')}
            <ColourWord cord={cord} />
            {isBetween(ring, cord) && ' between'}
          </span>
        ))}
        ,{' '}
        <Word
          label="Width"
          letter="w"
          text={ring.widthMm === undefined ? 'at its narrowest' : `${show(ring.widthMm)} wide`}
          problem={useIssue('/widthMm')}
          picker={WidthPicker}
        />
        , ends <Word label="Ends" letter="e" text={ring.ends} picker={EndsPicker} />.{' '}
        <span className="ml-1.5 whitespace-nowrap text-[15px]">
          <Word
            label="Mirror, hand and start"
            letter="h"
            isQuiet={turned === ''}
            text={turned || '+ mirror, hand, start'}
            picker={MirrorPicker}
          />
          <Link to="/rings" className="ml-4 text-ink-soft underline decoration-dotted underline-offset-4">
            All rings
          </Link>
        </span>
      </p>
    </section>
  );
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five'];

function passesText(ring: RingDesign): string {
  const main = ring.lanes.filter((c) => c === ring.lanes[0]).length;
  const count = isTwoRound(ring) ? main : ring.lanes.length;
  return count === 1 ? 'one pass' : `${NUMBERS[count]} passes`;
}

/** A first colour on both sides of the passes between. */
const isTwoRound = (ring: RingDesign): boolean =>
  ring.lanes.length > 2 && ring.lanes[0] === ring.lanes.at(-1) && new Set(ring.lanes).size > 1;

const isBetween = (ring: RingDesign, cord: number): boolean => isTwoRound(ring) && cord !== ring.lanes[0];
