<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Opis\JsonSchema\Errors\ValidationError;

/** What a schema has against a file, as the parameters of a sentence. */
final class SchemaFault
{
    private const MOST_OF_A_VALUE = 40;

    /**
     * The error as it should be reported: the validator takes every field for unknown as soon as one beside it has a fault.
     *
     * @return ValidationError|null null where nothing is unknown after all
     */
    public static function told(ValidationError $error): ?ValidationError
    {
        $schema = (array) $error->schema()->info()->data();
        if ($error->keyword() !== 'additionalProperties' || ($schema['additionalProperties'] ?? true) !== false) {
            return $error;
        }
        $found = array_keys(get_object_vars((object) $error->data()->value()));
        $unknown = array_values(array_diff($found, array_keys((array) ($schema['properties'] ?? []))));

        return $unknown === [] ? null : new ValidationError(
            $error->keyword(),
            $error->schema(),
            $error->data(),
            $error->message(),
            ['properties' => $unknown],
        );
    }

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
