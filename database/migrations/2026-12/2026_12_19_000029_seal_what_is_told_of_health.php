<?php

declare(strict_types=1);

use App\Actions\Records\SealRecords;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\DB;

/**
 * Pain, symptoms, notes that clear them and calls that refer are kept encrypted, as answers of screens were; all with a key of its own.
 * What told of them is known again by itself and no longer by a fingerprint, which could be guessed at.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE clearances ALTER note TYPE text');
        DB::statement('ALTER TABLE pain_reports ALTER note TYPE text');
        DB::statement('ALTER TABLE screenings ALTER fingerprint DROP NOT NULL');
        DB::statement('ALTER TABLE signals ALTER fingerprint DROP NOT NULL');
        DB::statement('UPDATE screenings SET fingerprint = NULL');
        DB::statement('UPDATE clearances SET fingerprint = NULL');
        DB::statement('UPDATE pain_reports SET fingerprint = NULL');
        DB::statement("UPDATE signals SET fingerprint = NULL WHERE symptoms <> '[]'");
        DB::statement('UPDATE logged_sets SET fingerprint = NULL WHERE pain_told_at IS NOT NULL');
        $records = Model::currentEncrypter();
        Model::encryptUsing((new Encrypter($records->getKey(), 'AES-256-CBC'))->previousKeys([app('encrypter')->getKey()]));
        app(SealRecords::class)->all();
        Model::encryptUsing($records);
    }
};
