declare module '@messageformat/core/compile-module' {
  import type MessageFormat from '@messageformat/core';

  /** The source of a module whose default export holds a function for each message. */
  export default function compileModule(formatter: MessageFormat, messages: Record<string, string>): string;
}
