<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Opis\JsonSchema\Errors\ValidationError;

/** What a schema has against a file, as the parameters of a sentence. */
final class SchemaFault
{
    private const MOST_OF_A_VALUE = 40;

    /** @return array<string, string> `keyword` of the schema, the `field`, its `value` if it is short, and what the keyword asks for */
    public static function params(ValidationError $error): array
    {
        $path = $error->data()->fullPath();
        $allowed = (array) (((array) $error->schema()->info()->data())['enum'] ?? []);
        $asked = [];
        foreach ($error->args() as $name => $value) {
            $asked[(string) $name] = self::text($value);
        }

        return [
            ...$asked,
            'values' => self::text($allowed),
            'keyword' => $error->keyword(),
            'field' => (string) end($path),
            'value' => mb_strimwidth(self::text($error->data()->value()), 0, self::MOST_OF_A_VALUE, '…'),
        ];
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_array($value) => implode(', ', array_map(self::text(...), $value)),
            is_bool($value) => $value ? 'true' : 'false',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
