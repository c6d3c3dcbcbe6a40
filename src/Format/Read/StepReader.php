<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Zwindle\Bench\MalformedStep;
use Zwindle\Bench\Step;

/** A step as a browser sends it → Step. What a step is stands in `schemas/step.schema.json` alone; what else was sent is dropped. */
final class StepReader
{
    private static ?self $reader = null;

    private readonly Validator $validator;

    /** @var array<string, string> `do` → the schema of that kind of step */
    private readonly array $schemas;

    private function __construct()
    {
        $path = dirname(__DIR__, 3).'/schemas/step.schema.json';
        $this->validator = new Validator;
        $this->validator->resolver()?->registerFile('zwindle:step', $path);
        $this->schemas = self::schemasIn((string) file_get_contents($path));
    }

    /**
     * @param  array<mixed>  $json
     *
     * @throws MalformedStep with the field that is not as it should be
     */
    public static function read(array $json): Step
    {
        $reader = self::$reader ??= new self;
        $do = $json['do'] ?? null;
        $schema = is_string($do) ? $reader->schemas[$do] ?? null : null;
        if ($schema === null) {
            throw MalformedStep::because('do');
        }
        $error = $reader->validator->validate(Helper::toJSON($json), $schema)->error();

        return $error === null ? Step::of($json) : throw MalformedStep::because(self::fieldOf($error));
    }

    /** The field of the first fault, however deep it lies. */
    private static function fieldOf(ValidationError $error): string
    {
        $deeper = $error->subErrors()[0] ?? null;
        if ($deeper instanceof ValidationError) {
            return self::fieldOf($deeper);
        }
        $missing = (array) ($error->args()['missing'] ?? []);
        $field = $error->data()->fullPath()[0] ?? $missing[0] ?? 'do';

        return is_string($field) ? $field : 'do';
    }

    /** @return array<string, string> */
    private static function schemasIn(string $text): array
    {
        /**
         * @var array{oneOf: list<array{'$ref': string}>, '$defs': array<string, array{properties: array{do: array{const?: string,
         *     enum?: list<string>}}}>} $schema
         */
        $schema = json_decode($text, true, 16, JSON_THROW_ON_ERROR);
        $schemas = [];
        foreach ($schema['oneOf'] as ['$ref' => $ref]) {
            $do = $schema['$defs'][basename($ref)]['properties']['do'];
            foreach ($do['enum'] ?? [$do['const'] ?? ''] as $kind) {
                $schemas[$kind] = "zwindle:step$ref";
            }
        }

        return $schemas;
    }
}
