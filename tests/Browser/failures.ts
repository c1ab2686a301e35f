import { stripVTControlCharacters } from 'node:util';
import type { Reporter, TestCase, TestResult } from '@playwright/test/reporter';

/** Says each failure once more in a few lines at the very end: a log that is cut keeps its end. */
export default class Failures implements Reporter {
  private readonly failed: string[] = [];

  onTestEnd(test: TestCase, result: TestResult): void {
    if (result.status !== test.expectedStatus) {
      const said = result.errors.map((error) => plain(error.message ?? error.value ?? '') + where(error.location));
      this.failed.push([test.title, ...said].join('\n  '));
    }
  }

  onExit(): Promise<void> {
    this.failed.forEach((failure) => console.log(`FAILED ${failure}`));
    return Promise.resolve();
  }
}

const MOST_LINES = 10;

function plain(message: string): string {
  return stripVTControlCharacters(message)
    .split('\n')
    .filter((line) => line.trim() !== '')
    .slice(0, MOST_LINES)
    .join('\n  ');
}

function where(location?: { file: string; line: number }): string {
  return location ? `\n  at ${location.file.split('/').at(-1)}:${location.line}` : '';
}
