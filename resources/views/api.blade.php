<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $document['info']['title'] }} · API</title>
</head>
<body>
    <h1>{{ $document['info']['title'] }} · OpenAPI {{ $document['openapi'] }}</h1>
    <p>{{ $document['info']['description'] }}</p>
    @foreach ($document['paths'] as $path => $methods)
        @foreach ($methods as $method => $operation)
            <details id="{{ $operation['operationId'] }}">
                <summary><code>{{ strtoupper($method) }} {{ $document['servers'][0]['url'] }}{{ $path }}</code> {{ $operation['summary'] }}</summary>
                <pre>{{ json_encode($operation, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) }}</pre>
            </details>
        @endforeach
    @endforeach
    <h2>Schemas</h2>
    @foreach ($document['components']['schemas'] as $name => $schema)
        <details id="schema-{{ $name }}">
            <summary><code>{{ $name }}</code></summary>
            <pre>{{ json_encode($schema, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) }}</pre>
        </details>
    @endforeach
</body>
</html>
