<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** Text → JSON that keeps to one of the project's schemas. */
final class JsonText
{
    public const MOST_BYTES = 1_000_000;

    public const MOST_LEVELS = 32;

    private const MOST_SCHEMA_ERRORS = 200;

    /** @return object|null null if anything was added to the problems */
    public static function read(string $text, string $schema, Problems $problems): ?object
    {
        if (strlen($text) > self::MOST_BYTES) {
            $problems->add('', ProblemCode::TooLarge, ['most' => self::MOST_BYTES, 'bytes' => strlen($text)]);

            return null;
        }
        try {
            $json = json_decode($text, false, self::MOST_LEVELS, JSON_THROW_ON_ERROR);
        } catch (JsonException $refusal) {
            $refusal->getCode() === JSON_ERROR_DEPTH
                ? $problems->add('', ProblemCode::TooDeep, ['most' => self::MOST_LEVELS])
                : $problems->add('', ProblemCode::NotJson, ['detail' => $refusal->getMessage()]);

            return null;
        }
        self::validate($json, $schema, $problems);

        return $json instanceof stdClass && ! $problems->any() ? $json : null;
    }

    private static function validate(mixed $json, string $schema, Problems $problems): void
    {
        $validator = new Validator;
        $validator->setMaxErrors(self::MOST_SCHEMA_ERRORS)->setStopAtFirstError(false);
        $validator->resolver()?->registerRaw(SchemaFile::read(dirname(__DIR__, 3)."/schemas/$schema.schema.json"), "zwindle:$schema");
        $error = $validator->validate($json, "zwindle:$schema")->error();
        if ($error === null) {
            return;
        }
        $formatter = new ErrorFormatter;
        $formatter->formatFlat($error, function (ValidationError $part) use ($formatter, $problems): void {
            if ($part->subErrors() === []) {
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
