<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>Paper Kite</title>
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
@vite(['resources/css/console.css', 'resources/js/console/main.ts'])
</head>
<body>
<div id="console"></div>
<noscript><p>Paper Kite’s console needs JavaScript; the shops and their checkouts do not.</p></noscript>
</body>
</html>
