<?php

declare(strict_types=1);

use App\Http\Console\CheckToken;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

// Starts the framework in this process, for figures without the way through the network. Returns its kernel.
$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";
$kernel = (require "{$root}/bootstrap/app.php")->make(Kernel::class);
$kernel->handle(Request::create('http://'.getenv('KITE_CONSOLE_HOST').'/api/me'));
// The bench is no browser: nothing asks it for the token of its session.
app()->bind(CheckToken::class, static fn () => new class
{
    public function handle(Request $request, Closure $next): mixed
    {
        return $next($request);
    }
});

return $kernel;
