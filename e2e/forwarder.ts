import { connect, createServer, type Server, type Socket } from 'node:net'

/** A plain TCP forwarder between browser and server, so that a lost network is a lost network and not a mock. */
export class Forwarder {
  private server: Server | undefined
  private readonly sockets = new Set<Socket>()
  port = 0
  constructor(private readonly target: URL) {}

  get base() {
    return `http://127.0.0.1:${this.port}`
  }

  start() {
    return new Promise<void>((done, fail) => {
      this.server = createServer((from) => {
        const to = connect(Number(this.target.port), this.target.hostname)
        for (const socket of [from, to]) {
          this.sockets.add(socket)
          socket.on('error', () => socket.destroy())
          socket.on('close', () => this.sockets.delete(socket))
        }
        from.pipe(to)
        to.pipe(from)
        from.on('close', () => to.destroy())
        to.on('close', () => from.destroy())
      })
      this.server.once('error', fail)
      this.server.listen(this.port, '127.0.0.1', () => {
        this.port = (this.server!.address() as { port: number }).port
        done()
      })
    })
  }

  stop() {
    for (const socket of this.sockets) socket.destroy()
    return new Promise<void>((done) => this.server!.close(() => done()))
  }
}
