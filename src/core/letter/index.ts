export {
  fileName,
  letterLimitBytes,
  mostFiles,
  readLetter,
  textOfHtml,
  type Letter,
  type LetterFault,
  type LetterFile,
} from './readLetter'
