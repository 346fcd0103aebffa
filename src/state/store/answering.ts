/**
 * What a worker does with a message: it is always answered. What fails, also later on, is told to the page as an
 * error of the worker; a promise that is rejected would be told to nobody.
 */
export const answering =
  <T>(answer: (asked: T) => unknown) =>
  async ({ data }: MessageEvent<T>): Promise<void> => {
    try {
      await answer(data)
    } catch (error) {
      reportError(error)
    }
  }
