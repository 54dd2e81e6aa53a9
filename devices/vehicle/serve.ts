import { createServer, type Server, type Socket } from 'node:net'
import { adapterSession } from './adapter'
import { vehicleCourse, type VehicleFault } from './course'

export interface StandIn {
  port: number
  close: () => Promise<void>
}

/** A vehicle that nobody asks anything for so long was taken away, and the next one is cold, ms. */
const COLD_AFTER_MS = 120_000

/**
 * A vehicle on a port of loopback, cold when the first connection comes, its time running `speed` times as fast. Port 0
 * takes any that is free. Answers come after `delayMs`.
 */
export async function serveVehicle({
  port = 0,
  fault = 'none',
  speed = 1,
  delayMs = 15,
  garbleEvery = 0,
}: {
  port?: number
  fault?: VehicleFault
  speed?: number
  delayMs?: number
  garbleEvery?: number
}): Promise<StandIn> {
  let course = vehicleCourse(fault)
  let startedAt = Date.now()
  let askedAt = 0
  const sockets = new Set<Socket>()
  const server: Server = createServer((socket) => {
    if (Date.now() - askedAt > COLD_AFTER_MS) {
      course = vehicleCourse(fault)
      startedAt = Date.now()
    }
    const session = adapterSession((name) => {
      course.goTo(((Date.now() - startedAt) / 1000) * speed)
      return course.values()[name]
    }, garbleEvery)
    sockets.add(socket)
    socket.on('close', () => sockets.delete(socket))
    let buffer = ''
    socket.setEncoding('latin1')
    socket.on('error', () => socket.destroy())
    socket.on('data', (text) => {
      askedAt = Date.now()
      buffer += String(text)
      for (let end = buffer.indexOf('\r'); end >= 0; end = buffer.indexOf('\r')) {
        const answer = session.answer(buffer.slice(0, end))
        buffer = buffer.slice(end + 1)
        setTimeout(() => socket.writable && socket.write(answer), delayMs)
      }
    })
  })
  await new Promise<void>((done, failed) => {
    server.once('error', failed)
    server.listen(port, '127.0.0.1', done)
  })
  const address = server.address()
  if (address === null || typeof address === 'string') throw new Error('the stand-in has no port')
  return {
    port: address.port,
    close: () =>
      new Promise((done) => {
        sockets.forEach((socket) => socket.destroy())
        server.close(() => done())
      }),
  }
}
