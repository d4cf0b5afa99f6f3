<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $letter->subject }}</title>
<style>body { margin: 0; padding: 16px; background: #fff; color: #18222d; font: 15px/1.5 system-ui, sans-serif } header { border-bottom: 1px solid #9aa4ac; margin-bottom: 12px; padding-bottom: 8px } p { margin: 0 } b { font-weight: 600 } pre { margin: 0; font: inherit; white-space: pre-wrap; overflow-wrap: anywhere }</style>
</head>
<body>
<header><p><b dir="auto">{{ $letter->subject }}</b></p><p dir="auto">{{ $shop->name }}</p></header>
<pre dir="auto">{{ trim($letter->text) }}</pre>
</body>
</html>
