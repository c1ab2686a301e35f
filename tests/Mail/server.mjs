// A mail server on this computer alone: takes mail and writes it to a folder, or refuses it while a file `refuse` lies there.
import { existsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { SMTPServer } from 'smtp-server';

const folder = process.argv[2];
let count = 0;

const server = new SMTPServer({
  authOptional: true,
  disabledCommands: ['STARTTLS', 'AUTH'],
  onRcptTo(address, _session, done) {
    const refuses = existsSync(join(folder, 'refuse'));
    done(refuses ? Object.assign(new Error('The mailbox is busy, try again'), { responseCode: 451 }) : undefined);
  },
  onData(stream, session, done) {
    const parts = [];
    stream.on('data', (part) => parts.push(part));
    stream.on('end', () => {
      const to = session.envelope.rcptTo.map(({ address }) => address).join(', ');
      writeFileSync(join(folder, `${++count}.eml`), `X-Taken-For: ${to}\r\n${Buffer.concat(parts).toString('utf8')}`);
      done();
    });
  },
});
server.listen(0, '127.0.0.1', () => process.stdout.write(`${server.server.address().port}\n`));
