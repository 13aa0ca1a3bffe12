import { useLabel } from '../labels';
import { reasonOf } from '../platform/reasonOf';
import { Txt } from './Txt';

/** Contents of a sheet whose own contents failed. */
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
