<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>The price table</title>
<style>body { margin: 0; padding: 18px 14px; font: 16px/1.4 system-ui, sans-serif; } {!! $css !!}</style>
</head>
<body inert>{!! $html !!}</body>
</html>
