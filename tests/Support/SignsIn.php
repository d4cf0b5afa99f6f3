<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Person;
use Illuminate\Auth\SessionGuard;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A session of the running servers that was begun for somebody; what signing in does has tests of its own. */
trait SignsIn
{
    /** @return array{name: string, value: string, token: string} its cookie, and the token that each change carries */
    protected function beginSession(Person $person): array
    {
        $id = Str::random(40);
        $token = Str::random(40);
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $person->id,
            'payload' => base64_encode(serialize(['_token' => $token, 'login_web_'.sha1(SessionGuard::class) => $person->id])),
            'last_activity' => time(),
        ]);
        $name = config()->string('session.cookie');

        return ['name' => $name, 'value' => rawurlencode(Crypt::encrypt(CookieValuePrefix::create($name, app(Encrypter::class)->getKey()).$id, false)), 'token' => $token];
    }
}
