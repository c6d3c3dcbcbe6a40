<?php

declare(strict_types=1);

/*
 * Hostile requests to every endpoint of a real server: wrong types, sizes, depths, letters, numbers at their edges, made from the shapes
 * of the requests; by nobody, trainees and instructors. Ends with 1 if one is answered with a fault of the server's, takes over three
 * seconds, or a worker is gone.
 *
 *   php timings/fuzz.php 20000 [seed]
 */

require __DIR__.'/../vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Support\LiveServer;

const PORT = 8189;
const WORKERS = 6;
const AT_ONCE = 6;
const SLOW_SECONDS = 3.0;
const INSTRUCTORS = 16;
const ODDITIES = [
    null, '', ' ', 0, -1, 1e308, PHP_INT_MAX, PHP_INT_MIN, 0.1, true, false, [], [[]], ['a' => ['b' => ['c' => []]]], "\0", "'; drop table users; --",
    '<script>alert(1)</script>', '../../../../etc/passwd', "\u{202E}\u{FEFF}", '{"format":"zwindle-task"}', '[[[[[[[[', '99999999999999999999', 'NaN',
    "\u{1F4A1}\u{0301}", '=cmd|calc', '%00', '%', '\\', '2026-02-30', '1e3', '0x1F', 'W1.black@B1', 'S1#3', 'B1', 'LA', 'up', 'na', 'land',
];

final class Fuzz
{
    /** @var array<string, array<string, mixed>> */
    private array $schemas = [];

    public function __construct(private readonly Randomizer $random)
    {
        foreach ([...glob(__DIR__.'/../schemas/*.schema.json') ?: [], ...glob(__DIR__.'/../schemas/http/*.schema.json') ?: []] as $path) {
            $schema = json_decode((string) file_get_contents($path), true);
            $this->schemas[$schema['$id']] = $schema;
        }
    }

    public function oneOf(array $choices): mixed
    {
        return $choices === [] ? null : array_values($choices)[$this->random->getInt(0, count($choices) - 1)];
    }

    public function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /** A body for a shape that a route names: `people#SignIn`, or a file's own. */
    public function body(string $shape): mixed
    {
        [$file, $name] = [...explode('#', $shape), ''];
        $root = $this->schemas[$name === '' ? "zwindle:$file" : "zwindle:http-$file"] ?? [];

        return $this->made($name === '' ? $root : $root['$defs'][$name] ?? [], $root, 0);
    }

    /** @param  array<string, mixed>  $schema */
    private function made(array $schema, array $root, int $depth): mixed
    {
        if ($depth > 12 || $this->chance(4)) {
            return $this->odd();
        }
        if (isset($schema['$ref'])) {
            [$file, $path] = [...explode('#', $schema['$ref']), ''];
            $root = $file === '' ? $root : $this->schemas[$file] ?? [];
            foreach (array_filter(explode('/', $path)) as $key) {
                $schema = $key === '$defs' ? $root['$defs'] ?? [] : $schema[$key] ?? [];
            }
            if ($path === '') {
                $schema = $root;
            }

            return $this->made($schema, $root, $depth + 1);
        }
        foreach (['oneOf', 'anyOf', 'allOf'] as $key) {
            if (isset($schema[$key])) {
                return $this->made($this->oneOf($schema[$key]) ?? [], $root, $depth + 1);
            }
        }
        if (array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        if (isset($schema['enum'])) {
            return $this->oneOf($schema['enum']);
        }
        $type = is_array($schema['type'] ?? null) ? $this->oneOf($schema['type']) : $schema['type'] ?? 'object';

        return match ($type) {
            'object' => $this->object($schema, $root, $depth),
            'array' => array_map(
                fn () => $this->made($schema['items'] ?? [], $root, $depth + 1),
                range(1, $this->random->getInt(0, 3)) ?: [],
            ),
            'integer', 'number' => $this->oneOf([0, 1, 2, 3, 5, 15, 60, -1, 1e9, 2 ** 31, 2 ** 53, 0.5]),
            'boolean' => $this->chance(50),
            'null' => null,
            default => $this->oneOf(['a', 'B1', 'S1', 'W1.black@B1', 'S1#3', 'Tuesday', '1', 'na', str_repeat('x', 300), "é\u{1F4A1}"]),
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function object(array $schema, array $root, int $depth): array
    {
        $made = [];
        foreach ($schema['properties'] ?? [] as $name => $property) {
            if (in_array($name, $schema['required'] ?? [], true) ? ! $this->chance(3) : $this->chance(60)) {
                $made[$name] = $this->made($property, $root, $depth + 1);
            }
        }
        if ($this->chance(3)) {
            $made[$this->oneOf(['role', 'id', '__proto__', 'password', "\0", 'user_id'])] = $this->odd();
        }

        return $made;
    }

    public function odd(): mixed
    {
        return match ($this->random->getInt(1, 12)) {
            1 => str_repeat('a', $this->random->getInt(1, 200_000)),
            2 => $this->nested($this->random->getInt(1, 200)),
            3 => array_fill(0, $this->random->getInt(1, 2000), $this->oneOf(ODDITIES)),
            default => $this->oneOf(ODDITIES),
        };
    }

    private function nested(int $deep): mixed
    {
        $made = 1;
        for ($i = 0; $i < $deep; $i++) {
            $made = $i % 2 === 0 ? [$made] : ['a' => $made];
        }

        return $made;
    }

    public function query(): string
    {
        $names = ['edition', 'pages', 'size', 'boards', 'sides', 'labels', 'first', 'as', 'box', 'lamp', 'state', 'asked', 'with', 'one', 'page', 'classroom', 'known', 'find'];
        $query = [];
        for ($i = $this->random->getInt(0, 4); $i > 0; $i--) {
            $query[$this->oneOf($names)] = $this->chance(50) ? $this->oneOf(['1', '0', 'task', 'na', 'pdf', 'csv', 'LA', 'B1', 'S1#1', 'ohm', 'letter-30', 'list']) : $this->odd();
        }

        // More than a server takes in a line is refused before the program sees it.
        return substr(http_build_query($query), 0, 6000);
    }
}

$count = (int) ($argv[1] ?? 20_000);
$random = new Randomizer(new Mt19937((int) ($argv[2] ?? 18)));
$fuzz = new Fuzz($random);
$server = new LiveServer(PORT, WORKERS);
$database = new PDO("sqlite:{$server->database()}");
$marit = $database->query("SELECT * FROM users WHERE username = 'marit'")->fetch(PDO::FETCH_ASSOC);
$who = ['nobody'];
for ($i = 0; $i < INSTRUCTORS; $i++) {
    $row = [...$marit, 'id' => null, 'name' => "Fuzz $i", 'username' => "fuzz$i"];
    $columns = implode(', ', array_keys($row));
    $database->prepare("INSERT INTO users ($columns) VALUES (".rtrim(str_repeat('?, ', count($row)), ', ').')')->execute(array_values($row));
    $id = (int) $database->lastInsertId();
    $database->exec("INSERT INTO classroom_instructor (classroom_id, instructor_id) SELECT id, $id FROM classrooms");
    $who[] = "fuzz$i";
}
foreach ($database->query("SELECT username FROM users WHERE role = 'trainee'") as $trainee) {
    $who[] = $trainee['username'];
}
unset($database);
array_map($server->signIn(...), array_slice($who, 1));
$shapes = json_decode((string) file_get_contents(__DIR__.'/../schemas/http/routes.json'), true);
$routes = array_filter(
    json_decode((new Process([PHP_BINARY, 'artisan', 'route:list', '--json'], dirname(__DIR__)))->mustRun()->getOutput(), true),
    // Signing out would leave nothing to ask with.
    fn (array $route) => str_starts_with($route['uri'], 'api/') && ! in_array($route['method'].' '.$route['uri'], ['DELETE api/session', 'DELETE api/sessions', 'PUT api/password', 'POST api/session'], true),
);
$statuses = [];
$out = [];
$bad = [];
$worst = 0.0;
$from = hrtime(true);
for ($done = 0; $done < $count; $done += AT_ONCE) {
    $questions = [];
    for ($i = 0; $i < AT_ONCE; $i++) {
        $route = $fuzz->oneOf($routes);
        $method = explode('|', $route['method'])[0];
        $name = $method.' '.substr($route['uri'], 4);
        $path = '/'.preg_replace_callback('/\{\w+\??\}/', fn () => rawurlencode((string) $fuzz->oneOf(
            $fuzz->chance(85) ? range(1, 12) : ['0', '-1', '99999999999999999999', 'a', '%2e%2e', "é'", '1 or 1=1'],
        )), $route['uri']);
        $query = $fuzz->query();
        $body = $method === 'GET' ? null : (isset($shapes[$name]['request']) && $fuzz->chance(85) ? $fuzz->body($shapes[$name]['request']) : $fuzz->odd());
        $questions[] = [$fuzz->oneOf($who), $method, $path.($query === '' ? '' : "?$query"), $body === null || is_array($body) ? $body : ['value' => $body]];
    }
    $started = hrtime(true);
    foreach ($server->askAll($questions) as $i => [$status, $answer]) {
        $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        if ($status === 401 && $questions[$i][0] !== 'nobody') {
            $out[$questions[$i][0]] = true;
        }
        if ($status >= 500 || $status === 0) {
            $bad[] = "$status {$questions[$i][0]} {$questions[$i][1]} ".substr($questions[$i][2], 0, 160).' '.substr((string) json_encode($questions[$i][3]), 0, 300).' → '.substr((string) json_encode($answer), 0, 200);
        }
    }
    $took = (hrtime(true) - $started) / 1e9;
    // A new code ends a person's sessions: whoever is out signs in again, and who cannot any more is asked for no longer.
    foreach (array_keys($out) as $person) {
        try {
            $server->signIn($person);
        } catch (RuntimeException) {
            $who = array_values(array_diff($who, [$person]));
        }
    }
    $out = [];
    if ($took > SLOW_SECONDS) {
        $bad[] = sprintf('%.1f s: %s', $took, implode('; ', array_map(fn (array $question) => "$question[1] ".substr($question[2], 0, 80), $questions)));
    }
    $worst = max($worst, $took);
    if (intdiv($done, 2000) !== intdiv($done + AT_ONCE, 2000)) {
        printf("%d asked, %.0f s\n", $done + AT_ONCE, (hrtime(true) - $from) / 1e9);
    }
}
$workers = (int) trim((new Process(['sh', '-c', 'pgrep -f "127.0.0.[1]:'.PORT.'" | wc -l']))->mustRun()->getOutput());
$health = $server->ask('nobody', 'GET', '/health')[0];
$server->stop();
ksort($statuses);
printf(
    "%d requests in %.0f s to %d routes; answers %s; longest of %d at once %.2f s; %d of %d processes; health %d\n",
    $done,
    (hrtime(true) - $from) / 1e9,
    count($routes),
    json_encode($statuses),
    AT_ONCE,
    $worst,
    $workers,
    WORKERS + 1,
    $health,
);
foreach (array_slice(array_unique($bad), 0, 20) as $one) {
    echo "  $one\n";
}
exit($bad === [] && $workers >= WORKERS + 1 && $health === 200 ? 0 : 1);
