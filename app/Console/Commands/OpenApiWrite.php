<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\OpenApi\Description;
use Illuminate\Console\Command;

final class OpenApiWrite extends Command
{
    protected $signature = 'openapi:write {--check : Write nothing; fail when the file is out of date}';

    protected $description = 'Writes openapi.json from the attributes in the controllers and resources';

    public function handle(): int
    {
        $file = base_path('openapi.json');
        $json = Description::json();
        if ($this->option('check')) {
            $isCurrent = is_file($file) && file_get_contents($file) === $json;
            $isCurrent ? $this->info('openapi.json is current.') : $this->error('openapi.json is out of date; run “npm run api”.');

            return $isCurrent ? self::SUCCESS : self::FAILURE;
        }
        file_put_contents($file, $json);

        return self::SUCCESS;
    }
}
