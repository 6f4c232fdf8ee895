import { connect, createServer, type Socket } from 'node:net';

/** A stand-in on the way to the database that can be pulled and put back, like a cable. */
export interface DatabaseProxy {
  readonly url: string;
  pull(): void;
  putBack(): void;
  close(): Promise<void>;
}

export async function makeDatabaseProxy(target: string): Promise<DatabaseProxy> {
  const { hostname, port } = new URL(target);
  const sockets = new Set<Socket>();
  let pulled = false;
  const server = createServer((socket) => {
    if (pulled) {
      socket.destroy();
      return;
    }
    const onward = connect(Number(port), hostname);
    for (const each of [socket, onward]) {
      sockets.add(each);
      each.on('error', () => each.destroy());
      each.on('close', () => sockets.delete(each));
    }
    socket.pipe(onward).pipe(socket);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  const url = new URL(target);
  url.port = String(typeof address === 'object' && address ? address.port : 0);
  return {
    url: url.href,
    pull: () => {
      pulled = true;
      for (const socket of sockets) socket.destroy();
    },
    putBack: () => (pulled = false),
    close: () =>
      new Promise((resolve) => {
        for (const socket of sockets) socket.destroy();
        server.close(() => resolve());
      }),
  };
}
