<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}</title>
<style>
@page { margin: 14mm 15mm 18mm 15mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; color: #1d2129; }
header { border-bottom: 0.5mm solid #1d2129; padding-bottom: 1mm; margin-bottom: 4mm; }
h1 { font-size: 13pt; margin: 0; }
h2 { font-size: 10.5pt; margin: 4mm 0 1mm; }
.name { font-size: 9pt; }
.page { page-break-after: always; }
.page.last { page-break-after: auto; }
table { width: 100%; border-collapse: collapse; margin-bottom: 3mm; }
th { text-align: left; border-bottom: 0.4mm solid #1d2129; padding: 1mm 1.5mm 1mm 0; }
td { border-bottom: 0.15mm solid #545b66; padding: 1mm 1.5mm 1mm 0; vertical-align: top; }
li { page-break-inside: avoid; margin-bottom: 0.8mm; }
.blank { height: 4.5mm; }
.labels td { border: 0.3mm solid #1d2129; padding: 2mm; width: 33.3%; height: 20mm; }
.labels strong { font-size: 13pt; }
table.open tr { page-break-inside: avoid; }
.open td { border: 0; padding: 0 2mm 3mm 0; }
footer { position: fixed; bottom: -10mm; left: 0; right: 0; font-size: 7pt; border-top: 0.15mm solid #545b66; padding-top: 1mm; }
</style>
</head>
<body>
<footer>{{ __('verdict.paper-caution', [], $practice->value) }}</footer>
@yield('pages')
</body>
</html>
