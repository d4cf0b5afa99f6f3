<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\OpenApi\Description;
use Illuminate\Console\Command;

final class OpenApiWrite extends Command
{
    protected $signature = 'openapi:write {--check : Write nothing; fail when a file is out of date}';

    protected $description = 'Writes openapi.json and openapi-embed.json from the attributes in the controllers and resources';

    public function handle(): int
    {
        $status = self::SUCCESS;
        foreach (['openapi.json' => Description::json(), 'openapi-embed.json' => Description::ofWidgets()] as $name => $json) {
            $file = base_path($name);
            if (! $this->option('check')) {
                file_put_contents($file, $json);
            } elseif (! is_file($file) || file_get_contents($file) !== $json) {
                $this->error("{$name} is out of date; run “npm run api”.");
                $status = self::FAILURE;
            }
        }

        return $status;
    }
}
