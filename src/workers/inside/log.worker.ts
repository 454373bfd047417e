import { workLog } from '../../core/log/log.ts';
import { knowledgeOf } from '../../core/plan/knowledge.ts';
import type { LogMessage, LogRequest } from '../protocol.ts';

/** Works a log through and ends: every piece is planned again, and the filter runs twice over all of them. */
self.onmessage = ({ data }: MessageEvent<LogRequest>) => {
  const know = knowledgeOf(data.own, data.swatches, []);
  self.postMessage(workLog(data.makes, data.swatches, data.choices, know) satisfies LogMessage);
};
