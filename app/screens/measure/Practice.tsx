import { useState } from 'react';
import { Button, NoticeLine, Section, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { selectLink, useAppDispatch, useAppSelector } from '../../store';
import { endPractice, takePractice } from '../../store/stageActions';

/** Practice instruments: simulated devices that read a made-up room, and say so. */
export function Practice() {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const link = useAppSelector(selectLink);
  const [failed, setFailed] = useState(false);
  if (link) {
    return (
      <Section title={label('practice.title')}>
        <NoticeLine
          kind="doubtful"
          word={label('practice.simulated')}
          words={label('practice.room', { seed: link.seed })}
        />
        <Button title={label('practice.end')} onPress={() => dispatch(endPractice())} />
      </Section>
    );
  }
  return (
    <Section title={label('practice.title')}>
      <Txt tone="faint">{label('practice.is')}</Txt>
      {failed ? <NoticeLine kind="stop" word={label('problem.stop')} words={label('practice.unreached')} /> : null}
      <Button
        title={label('practice.use')}
        onPress={() => void dispatch(takePractice()).then((reached) => setFailed(!reached))}
      />
    </Section>
  );
}
