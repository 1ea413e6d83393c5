<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pictures lie in the database itself, so that one backup is whole; they are never changed and never lost. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pictures', function (Blueprint $table) {
            $table->foreignId('job_id')->constrained();
            $table->string('fingerprint', 64);
            $table->binary('bytes');
            $table->timestamp('kept_at');
            $table->primary(['job_id', 'fingerprint']);
        });
        foreach (['UPDATE', 'DELETE'] as $act) {
            DB::unprepared(
                'CREATE TRIGGER pictures_no_'.strtolower($act)." BEFORE {$act} ON pictures BEGIN SELECT RAISE(ABORT, 'Pictures are only added.'); END",
            );
        }
    }
};
