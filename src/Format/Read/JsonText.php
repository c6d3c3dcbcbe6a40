<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/** Text, or what was decoded already → JSON that keeps to one of the project's schemas. */
final class JsonText
{
    public const MOST_BYTES = 1_000_000;

    public const MOST_LEVELS = 32;

    private const MOST_SCHEMA_ERRORS = 200;

    /**
     * @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to
     * @return object|null null if anything was added to the problems
     */
    public static function read(string|array|object $given, string $schema, Problems $problems): ?object
    {
        $json = is_string($given) ? self::parsed($given, $problems) : Decoded::by(self::schema($schema), $given);
        if ($problems->any()) {
            return null;
        }
        self::validate($json, $schema, $problems);

        return $json instanceof stdClass && ! $problems->any() ? $json : null;
    }

    /**
     * The same file with other members; what is an object in it stays one, empty or not.
     *
     * @param  array<string, mixed>  $members
     *
     * @throws JsonException if the text is not JSON
     */
    public static function with(string $text, array $members): string
    {
        $json = json_decode($text, false, self::MOST_LEVELS, JSON_THROW_ON_ERROR);

        return json_encode((object) [...get_object_vars((object) $json), ...$members], JSON_THROW_ON_ERROR);
    }

    private static function parsed(string $text, Problems $problems): mixed
    {
        if (strlen($text) > self::MOST_BYTES) {
            $problems->add('', ProblemCode::TooLarge, ['most' => self::MOST_BYTES, 'bytes' => strlen($text)]);

            return null;
        }
        try {
            return json_decode($text, false, self::MOST_LEVELS, JSON_THROW_ON_ERROR);
        } catch (JsonException $refusal) {
            $refusal->getCode() === JSON_ERROR_DEPTH
                ? $problems->add('', ProblemCode::TooDeep, ['most' => self::MOST_LEVELS])
                : $problems->add('', ProblemCode::NotJson, ['detail' => $refusal->getMessage()]);

            return null;
        }
    }

    private static function schema(string $name): stdClass
    {
        return SchemaFile::read(dirname(__DIR__, 3)."/schemas/$name.schema.json");
    }

    private static function validate(mixed $json, string $schema, Problems $problems): void
    {
        $validator = new Validator;
        $validator->setMaxErrors(self::MOST_SCHEMA_ERRORS)->setStopAtFirstError(false);
        $validator->resolver()?->registerRaw(self::schema($schema), "zwindle:$schema");
        $error = $validator->validate($json, "zwindle:$schema")->error();
        if ($error === null) {
            return;
        }
        $formatter = new ErrorFormatter;
        $formatter->formatFlat($error, function (ValidationError $part) use ($formatter, $problems): void {
            $part = $part->subErrors() === [] ? SchemaFault::told($part) : null;
            if ($part !== null) {
                $problems->add(self::pointer($part), ProblemCode::NotAsSchema, [
                    'detail' => $formatter->formatErrorMessage($part),
                    ...SchemaFault::params($part),
                ]);
            }
        });
    }

    private static function pointer(ValidationError $error): string
    {
        $pointer = '';
        foreach ($error->data()->fullPath() as $key) {
            $pointer .= '/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
        }

        return $pointer;
    }
}
