import { useEffect } from 'react';
import { languageOf } from '@dormer/core/say/words/first';
import { speak } from '../../labels';
import { isAmerican } from '../../platform/local';
import { selectJobs, selectOpenJob, useAppSelector } from '../../store';

/** Speaks as the open job asks for; without one as the last job does, or as the browser. */
export function useLanguage(): void {
  const language = useAppSelector((state) => {
    const job = selectOpenJob(state) ?? selectJobs(state)[0]?.job;
    return job ? languageOf(job) : isAmerican() ? 'en-US' : 'en-GB';
  });
  useEffect(() => speak(language), [language]);
}
