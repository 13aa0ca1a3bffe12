import type { Job, StockWish } from '@dormer/core/job/document';
import { materialWords } from '@dormer/core/work/stock/catalogue';
import { words } from '@dormer/core/say/words/first';
import { LengthField, Segmented } from '../../ui';
import { useLabel } from '../../labels';

type Piece = Pick<StockWish['own'][number], 'form' | 'material' | 'thickness' | 'width' | 'length'>;

const FORMS = ['board', 'strip', 'timber', 'sheet', 'rod'] as const;

interface StockPieceProps {
  readonly job: Job;
  readonly piece: Piece;
  readonly materials: readonly string[];
  readonly onChange: (change: Partial<Piece>) => void;
}

/** Fields for a piece of stock: form, material, size. */
export function StockPiece({ job, piece, materials, onChange }: StockPieceProps) {
  const label = useLabel();
  const { units, tape, wood } = job;
  return (
    <>
      <Segmented
        label={label('stock.form')}
        look="chips"
        value={piece.form}
        options={FORMS.map((value) => ({ value, title: label(`stock.form.${value}`) }))}
        onChange={(form) => onChange({ form })}
      />
      <Segmented
        label={label('stock.material')}
        look="chips"
        value={piece.material}
        options={[...new Set(materials)].map((value) => ({
          value,
          title: words(materialWords(value, wood.own), job),
        }))}
        onChange={(material) => onChange({ material })}
      />
      {(['thickness', 'width', 'length'] as const).map((key) => (
        <LengthField
          key={key}
          label={label(`stock.own.${key}`)}
          value={piece[key]}
          units={units}
          tape={tape}
          onCommit={(value) => onChange({ [key]: value })}
        />
      ))}
    </>
  );
}
