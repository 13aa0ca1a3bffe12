import { useEffect } from 'react';
import { languageOf, readIn, WRITING } from '@dormer/core/say/words/first';
import { speak } from '../../labels';
import { isAmerican, languagesHere } from '../../platform/local';
import { selectJobs, selectOpenJob, useAppSelector } from '../../store';

/** The language as long as no job says more. */
const languageAtFirst = () => languageOf({ units: 'mm', region: isAmerican() ? 'us' : 'uk' });

// Before the first screen is shown.
readIn(languagesHere());
speak(languageAtFirst());

/** Speaks as the open job asks for; without one as the last job does, or as the browser. */
export function useLanguage(): void {
  const language = useAppSelector((state) => {
    const job = selectOpenJob(state) ?? selectJobs(state)[0]?.job;
    return job ? languageOf(job) : languageAtFirst();
  });
  useEffect(() => {
    speak(language);
    document.documentElement.lang = WRITING[language].locale;
  }, [language]);
}
