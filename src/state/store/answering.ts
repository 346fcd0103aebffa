/**
 * How a worker handles a message: it always answers. What fails, also later on, reaches the page as an error of the
 * worker; a rejected promise would reach nobody.
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
