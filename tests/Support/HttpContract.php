<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use stdClass;
use Symfony\Component\HttpFoundation\Response;
use Zwindle\Catalogue\Practices\CatalogueFolders;
use Zwindle\Format\Read\SchemaFile;

/**
 * The contract of every route under `api/`: schemas/http/routes.json says which schema its request and its answer keep to.
 * `answers` is a list of such, `file` a download, and a route with neither answers nothing.
 *
 * @phpstan-type Terms array{request?: string, answer?: string, answers?: string, file?: bool, also?: int}
 */
final class HttpContract
{
    /** @var array<string, Validator> by what the practices were read from */
    private static array $validators = [];

    /** @return array<string, Terms> `GET attempts/{attempt}` → what it keeps to */
    public static function all(): array
    {
        return json_decode(Files::text('schemas/http/routes.json'), true, 8, JSON_THROW_ON_ERROR);
    }

    /** @return list<string> what is wrong with a request that was taken, or with an answer; empty if nothing is */
    public static function faultsIn(Request $request, Response $response): array
    {
        $route = $request->route();
        if (! $route instanceof Route || ! str_starts_with($route->uri(), 'api/') || $route->isFallback) {
            return [];
        }
        $name = self::nameOf($request->method(), $route);
        $terms = self::all()[$name] ?? null;
        if ($terms === null) {
            return ["$name is not in schemas/http/routes.json"];
        }
        $content = (string) $response->getContent();
        if (! $response->isSuccessful()) {
            return self::tell($name, 'zwindle:http-people#/$defs/Refusal', $content);
        }

        return [...self::faultsInRequest($name, $terms, $request), ...self::faultsInAnswer($name, $terms, $content)];
    }

    /** `GET attempts/{attempt}` of a route. */
    public static function nameOf(string $method, Route $route): string
    {
        return ($method === 'HEAD' ? 'GET' : $method).' '.substr($route->uri(), strlen('api/'));
    }

    /**
     * @param  Terms  $terms
     * @return list<string>
     */
    private static function faultsInRequest(string $name, array $terms, Request $request): array
    {
        $asked = $terms['request'] ?? null;
        if ($asked === null || $asked === 'unfinished board') {
            return [];
        }
        if ($asked === 'board') {
            return self::tell("$name, its request", 'zwindle:board', (string) $request->getContent());
        }

        // As the framework hands it on: trimmed, and null where it was empty; a file that it carries is read as it was sent.
        $sent = json_decode((string) $request->getContent());
        $files = array_filter($sent instanceof stdClass ? get_object_vars($sent) : [], is_object(...));

        return self::tell(
            "$name, its request",
            self::schema($asked),
            json_encode((object) [...$request->json()->all(), ...$files], JSON_THROW_ON_ERROR),
        );
    }

    /**
     * @param  Terms  $terms
     * @return list<string>
     */
    private static function faultsInAnswer(string $name, array $terms, string $content): array
    {
        if ($content === '' && (isset($terms['answer']) || isset($terms['answers'])) && ! isset($terms['also'])) {
            return ["$name answers nothing"];
        }
        if (isset($terms['file']) || $content === '' || str_starts_with($content, "\u{FEFF}")) {
            return [];
        }
        if (preg_match('/"('.self::wordFiles().')\.[\w.-]+"/', $content, $key) === 1) {
            return ["$name tells the key $key[0] where its words should stand"];
        }
        if (isset($terms['answer'])) {
            return self::tell($name, self::schema($terms['answer']), $content);
        }
        if (! isset($terms['answers'])) {
            return in_array($content, ['', '{}', '[]'], true) ? [] : ["$name should answer nothing"];
        }
        $faults = [];
        foreach ((array) json_decode($content, false, 64, JSON_THROW_ON_ERROR) as $item) {
            $faults = [...$faults, ...self::tell($name, self::schema($terms['answers']), json_encode($item, JSON_THROW_ON_ERROR))];
        }

        return $faults;
    }

    /** Names of the language files, for a pattern. */
    private static function wordFiles(): string
    {
        $names = array_map(fn (string $path) => preg_quote(basename($path, '.php'), '/'), [...glob(Files::path('lang/en/*.php')) ?: [], ...glob(Files::path('lang/en/*/*.php')) ?: []]);

        return implode('|', array_unique($names));
    }

    private static function schema(string $short): string
    {
        return 'zwindle:http-'.str_replace('#', '#/$defs/', $short);
    }

    /** @return list<string> */
    private static function tell(string $name, string $schema, string $json): array
    {
        $error = self::validator()->validate(json_decode($json, false, 64, JSON_THROW_ON_ERROR), $schema)->error();

        return $error === null ? [] : array_map(
            fn (string $pointer, array $what) => "$name $pointer: ".implode(' ', $what),
            array_keys((new ErrorFormatter)->format($error)),
            (new ErrorFormatter)->format($error),
        );
    }

    private static function validator(): Validator
    {
        $key = CatalogueFolders::key();
        if (! isset(self::$validators[$key])) {
            self::$validators[$key] = $validator = new Validator;
            foreach (glob(Files::path('schemas/*.schema.json')) ?: [] as $path) {
                $validator->resolver()?->registerRaw(SchemaFile::read($path), 'zwindle:'.basename($path, '.schema.json'));
            }
            foreach (glob(Files::path('schemas/http/*.schema.json')) ?: [] as $path) {
                $validator->resolver()?->registerRaw(SchemaFile::read($path), 'zwindle:http-'.basename($path, '.schema.json'));
            }
        }

        return self::$validators[$key];
    }
}
