import { spawn, execFileSync, type ChildProcess } from 'node:child_process'
import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'

/** An installation that nobody has used: an empty database, a server on it, and the first instructor's account. */
export class EmptyServer {
  private constructor(
    readonly url: string,
    private readonly home: string,
    private readonly server: ChildProcess,
  ) {}

  /** With the people and boards of the demo, and whatever else the server is told. */
  static withDemo(more: Record<string, string>) {
    return EmptyServer.serve(more, (artisan) => artisan('db:seed', '--force', '--quiet', '--no-interaction'))
  }

  static start(instructor: { name: string; password: string }) {
    return EmptyServer.serve({}, (artisan) =>
      artisan('zwindle:instructor', instructor.name, `--password=${instructor.password}`),
    )
  }

  private static async serve(
    more: Record<string, string>,
    fill: (artisan: (...command: string[]) => void) => void,
  ): Promise<EmptyServer> {
    const home = mkdtempSync(join(tmpdir(), 'zwindle-empty-'))
    for (const kept of ['app', 'logs', 'framework/cache/data', 'framework/sessions', 'framework/views'])
      mkdirSync(join(home, 'storage', kept), { recursive: true })
    const database = join(home, 'empty.sqlite')
    writeFileSync(database, '')
    const env = {
      ...process.env,
      APP_ENV: 'testing',
      LOG_CHANNEL: 'null',
      DB_DATABASE: database,
      LARAVEL_STORAGE_PATH: join(home, 'storage'),
      PHP_CLI_SERVER_WORKERS: '4',
      ...more,
    }
    const artisan = (...command: string[]) =>
      execFileSync('php', ['-d', 'variables_order=EGPCS', 'artisan', ...command], { env, stdio: 'pipe' })
    artisan('migrate', '--force', '--quiet', '--no-interaction')
    fill(artisan)
    const port = await freePort()
    const router = resolve('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php')
    const server = spawn('php', ['-d', 'variables_order=EGPCS', '-S', `127.0.0.1:${port}`, router], {
      cwd: 'public',
      env,
      stdio: 'ignore',
      detached: true,
    })
    const made = new EmptyServer(`http://127.0.0.1:${port}`, home, server)
    await made.answers()
    return made
  }

  /** The server's workers live in its process group: they end together. */
  stop() {
    process.kill(-this.server.pid!, 'SIGTERM')
    rmSync(this.home, { recursive: true, force: true, maxRetries: 5 })
  }

  private async answers() {
    const isUp = () =>
      fetch(`${this.url}/health`).then(
        ({ ok }) => ok,
        () => false,
      )
    for (let tries = 0; !(await isUp()); tries++) {
      if (tries > 100) throw new Error('The server did not start.')
      await new Promise((go) => setTimeout(go, 100))
    }
  }
}

function freePort(): Promise<number> {
  return new Promise((found) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => found(port))
    })
  })
}
