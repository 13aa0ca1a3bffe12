import { useLabel } from '../labels';
import { Txt } from './Txt';

/** What was thrown, in words. */
export const reasonOf = (thrown: unknown): string => (thrown instanceof Error ? thrown.message : String(thrown));

/** What a sheet says instead of what it cannot show. */
export function BrokenWords({ error }: { error: unknown }) {
  const label = useLabel();
  return (
    <>
      <Txt>{label('broken.sheet')}</Txt>
      <Txt kind="small" tone="faint">
        {reasonOf(error)}
      </Txt>
    </>
  );
}
