import {
  askedOf,
  asksShown,
  offered,
  SUPPORT_ASKS,
  withAnswer,
  type Ask,
  type Job,
  type SystemName,
} from '@dormer/core/job/document';
import { typedMass, type TypedLength } from '@dormer/core/base/quantity';
import { words } from '@dormer/core/say/words/first';
import { message } from '@dormer/core/base/message';
import { Section, Segmented, Stepper, Toggles } from '../../../ui';
import { MassField } from '../../../ui/MassField';
import { LengthFields } from '../../../ui/LengthFields';
import { useLabel, type PlainLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';

/** What is offered of a choice, and what was chosen before if the tools would not have offered it. */
function choicesOf(ask: Extract<Ask, { kind: 'choice' }>, tools: Job['tools'], chosen: string): readonly string[] {
  const all = offered(ask, tools);
  return all.includes(chosen) ? all : [...all, chosen];
}

/** What a support system asks: its own list of lengths, counts, choices and yes or no. */
export function AskFields({ job, system }: { job: Job; system: SystemName }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const asks = Object.entries(SUPPORT_ASKS[system] as Readonly<Record<string, Ask>>);
  const said = askedOf(job, system) as Readonly<Record<string, unknown>>;
  const answer = (key: string, value: unknown) => void dispatch(editBay((one) => withAnswer(one, system, key, value)));
  const named = (key: string) =>
    label(`ask.${key === 'groove' && said.joint === 'rebate' ? 'rebate' : key}` as PlainLabel);
  const shown = asksShown(job, system);
  const wanted = asks.filter(([key]) => shown.includes(key));
  const yes = wanted.filter(([, ask]) => ask.kind === 'yes').map(([key]) => key);
  return (
    <Section title={words(message(`system.${system}`), job)}>
      {wanted.map(([key, ask]) =>
        ask.kind === 'choice' && choicesOf(ask, job.tools, said[key] as string).length > 1 ? (
          <Segmented
            key={key}
            titled
            label={named(key)}
            value={said[key] as string}
            options={choicesOf(ask, job.tools, said[key] as string).map((value) => ({
              value,
              title: label(`ask.${key}.${value}` as PlainLabel),
            }))}
            onChange={(value) => answer(key, value)}
          />
        ) : null,
      )}
      <LengthFields
        units={job.units}
        tape={job.tape}
        fields={wanted.flatMap(([key, ask]) =>
          ask.kind === 'length'
            ? [
                {
                  key,
                  label: named(key),
                  value: said[key] as TypedLength,
                  mayBeNothing: ask.mayBeNothing,
                  onCommit: (value: TypedLength) => answer(key, value),
                },
              ]
            : [],
        )}
      />
      {wanted.map(([key, ask]) =>
        ask.kind === 'count' && key === 'ratedKg' ? (
          <MassField
            key={key}
            label={named(key)}
            value={typedMass(said[key] as number, '', job.units === 'in' ? 'lb' : 'kg')}
            units={job.units}
            reader={job}
            onCommit={({ kg }) => answer(key, Math.min(Math.max(Math.round(kg), ask.least), ask.most))}
          />
        ) : ask.kind === 'count' ? (
          <Stepper
            key={key}
            label={named(key)}
            less={label('ask.less', { what: named(key) })}
            more={label('ask.more', { what: named(key) })}
            value={said[key] as number}
            least={ask.least}
            most={ask.most}
            step={ask.most > 100 ? 10 : 1}
            onChange={(value) => answer(key, value)}
          />
        ) : null,
      )}
      {yes.length > 0 ? (
        <Toggles
          label={label('ask.also')}
          chosen={yes.filter((key) => said[key] === true)}
          options={yes.map((value) => ({ value, title: named(value) }))}
          onChange={(chosen) => {
            const changed = yes.find((key) => chosen.includes(key) !== (said[key] === true));
            if (changed) answer(changed, chosen.includes(changed));
          }}
        />
      ) : null}
    </Section>
  );
}
