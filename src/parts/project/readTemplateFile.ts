import { askWorker } from '@/held/askWorker'
import type { TemplateAsked, TemplateRead } from '@/state'

/** Reads and checks the file of a template in a worker of its own; rejects where that cannot be done. */
export const readTemplateFile = (asked: TemplateAsked): Promise<TemplateRead> =>
  askWorker(new Worker(new URL('../../workers/templateFile.worker', window.location.href)), asked)
