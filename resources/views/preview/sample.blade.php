<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $page }}: a sample page</title>
<style>
body { margin: 0 auto; padding: 2.5rem 1.25rem; max-width: 40rem; font: 1.05rem/1.6 Georgia, serif; color: #22292f; background: #fff; }
.note { font: .9rem/1.5 system-ui, sans-serif; border-block: 1px solid #c9d2d6; padding: .6rem 0; color: #44505a; }
.ware { margin: 1.75rem 0; }
</style>
</head>
<body>
<p class="note">A sample page: somebody’s article with your code in it. Click it as a shopper would. A click here is counted like any other, and what you pay for is an order.</p>
<h1 dir="auto">{{ $page }}</h1>
<p>The morning was still when we carried the first of them down the lane. It had taken three winters to get the shape right, and nobody in the house had said a word about it, which is how we knew that it was good.</p>
<div class="ware">{!! $snippet !!}</div>
<p>By noon the kettle was on, and the questions began.</p>
</body>
</html>
