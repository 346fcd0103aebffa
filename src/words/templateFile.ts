import type { TemplateFileFault } from '@/core/exchange'

/** Why a template file is not taken. */
export function templateFileFaultWords(fault: TemplateFileFault): string {
  switch (fault.kind) {
    case 'tooLarge':
      return 'This file is too large for a template. Nothing was changed. Choose a file that was shared from a template.'
    case 'noTemplate':
      return 'This isn’t a template file. Nothing was changed. Choose a file that was shared from a template.'
    case 'newer':
      return 'This template comes from a newer version. Nothing was changed. Reload the page, then import it again.'
    case 'unsound':
      return `This template file is damaged at “${fault.where}”: ${fault.why}. Nothing was changed. Ask for it again.`
  }
}
