import { readReadingsCsv } from '@dormer/core/exchange';
import { readJobFile } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import type { Request, Response } from './messages';

function answer(request: Request): unknown {
  switch (request.ask) {
    case 'plan':
      return planJob(request.with);
    case 'readReadings':
      return readReadingsCsv(request.with.contents, request.with.unit);
    case 'readFile':
      return readJobFile(request.with);
  }
}

self.onmessage = ({ data }: MessageEvent<Request>) => {
  let response: Response;
  try {
    response = { id: data.id, ok: true, value: answer(data) };
  } catch (error) {
    response = { id: data.id, ok: false, reason: String(error) };
  }
  self.postMessage(response);
};
