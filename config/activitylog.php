<?php

declare(strict_types=1);

use App\Models\Audit\AuditEntry;

return [
    'enabled' => true,
    'default_log_name' => 'audit',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => AuditEntry::class,
    'table_name' => 'audit_entries',
    'database_connection' => null,
];
