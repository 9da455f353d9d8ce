/** Made by bin/steady types from the API document; not to be edited. */
export const limits = {
    AthleteInput: {
        name: {
            longest: 80
        },
        mass_kg: {
            low: 20,
            high: 300
        },
        stature_m: {
            low: 1,
            high: 2.3
        },
        reach_m: {
            low: 1.05,
            high: 3.105
        },
        tags: {
            longest: 24,
            most: 8
        }
    },
    BandInput: {
        name: {
            longest: 60
        },
        hung_length_m: {
            low: 0.2,
            high: 2.5
        },
        width_mm: {
            low: 3,
            high: 150
        },
        thickness_mm: {
            low: 0.5,
            high: 20
        },
        points: {
            most: 30
        }
    },
    BesideInput: {
        reps: {
            low: 0,
            high: 200
        },
        seconds: {
            low: 0,
            high: 600
        },
        metres: {
            low: 0,
            high: 1000
        },
        load_kg: {
            low: 0,
            high: 300
        }
    },
    CapsInput: {
        lowerings_a_session: {
            low: 0,
            high: 60
        },
        lowerings_a_week: {
            low: 0,
            high: 120
        },
        hard_sets_first_month: {
            low: 0,
            high: 40
        },
        hard_sets_later: {
            low: 0,
            high: 60
        }
    },
    ChosenPasswordInput: {
        password: {
            longest: 72
        }
    },
    ClassInput: {
        name: {
            longest: 80
        },
        at: {
            longest: 5
        },
        minutes: {
            low: 15,
            high: 240
        },
        tags: {
            longest: 24,
            most: 12
        }
    },
    ClearanceInput: {
        note: {
            longest: 500
        }
    },
    CodeInput: {
        code: {
            longest: 20
        }
    },
    ComparisonInput: {
        method: {
            longest: 64
        },
        from: {
            low: 0,
            high: 200
        },
        count: {
            low: 1,
            high: 4
        }
    },
    ConsentInput: {
        words: {
            longest: 2000
        },
        guardian: {
            longest: 80
        }
    },
    DecisionInput: {
        version: {
            low: 1
        },
        reason: {
            longest: 500
        }
    },
    EmailInput: {
        email: {
            longest: 200
        }
    },
    ErasureInput: {
        name: {
            longest: 80
        }
    },
    FoundingInput: {
        gym_name: {
            longest: 80
        },
        timezone: {
            longest: 64
        },
        coach_name: {
            longest: 80
        },
        email: {
            longest: 200
        },
        password: {
            longest: 72
        }
    },
    GearFigures: {
        height_m: {
            low: 0.05,
            high: 6
        },
        anchor_height_m: {
            low: 1,
            high: 6
        },
        straps_m: {
            most: 20
        },
        thickness_m: {
            low: 0.005,
            high: 0.12
        },
        mass_kg: {
            low: 0.1,
            high: 100
        },
        step_kg: {
            low: 0.5,
            high: 25
        },
        most_kg: {
            low: 1,
            high: 300
        },
        leverage: {
            low: 0.1,
            high: 4
        },
        platform_kg: {
            low: 0,
            high: 60
        },
        rated_kg: {
            low: 50,
            high: 5000
        },
        diameter_mm: {
            low: 15,
            high: 80
        }
    },
    GearInput: {
        name: {
            longest: 60
        }
    },
    HangInput: {
        length_m: {
            low: 0,
            high: 8
        }
    },
    HealthRulesInput: {
        consent_words: {
            longest: 2000
        },
        keep_health_years: {
            low: 1,
            high: 20
        }
    },
    HomeSetInput: {
        clean_reps: {
            low: 0,
            high: 100
        },
        hang_s: {
            low: 0,
            high: 600
        },
        reserve: {
            low: 0,
            high: 5
        }
    },
    InspectionInput: {
        note: {
            longest: 500
        }
    },
    InvitationInput: {
        name: {
            longest: 80
        },
        email: {
            longest: 200
        }
    },
    LineInput: {
        line: {
            longest: 160
        },
        sets: {
            low: 1,
            high: 12
        },
        low: {
            low: 1,
            high: 600
        },
        high: {
            low: 1,
            high: 600
        },
        rest_s: {
            low: 0,
            high: 600
        }
    },
    LineSwitchedInput: {
        line: {
            longest: 160
        },
        rung_key: {
            longest: 500
        }
    },
    LinkInput: {
        days: {
            low: 1,
            high: 365
        }
    },
    NameInput: {
        name: {
            longest: 80
        }
    },
    NoteInput: {
        text: {
            longest: 1000
        }
    },
    OrderInput: {
        turns: {
            most: 960
        }
    },
    PainReportInput: {
        note: {
            longest: 500
        }
    },
    PasswordInput: {
        present: {
            longest: 200
        },
        new: {
            longest: 72
        }
    },
    PlaceInput: {
        method: {
            longest: 64
        },
        stage: {
            longest: 64
        },
        reason: {
            longest: 500
        },
        sessions_a_week: {
            low: 1,
            high: 7
        },
        builder: {
            longest: 64
        }
    },
    PointInput: {
        length_m: {
            low: 0.1,
            high: 8
        },
        force_n: {
            low: 1,
            high: 4000
        },
        force_kg: {
            low: 0.1,
            high: 400
        }
    },
    QueueInput: {
        commands: {
            most: 200
        }
    },
    ScreeningInput: {
        most_share: {
            low: 0.1,
            high: 2
        },
        note: {
            longest: 500
        }
    },
    SetInput: {
        clean_reps: {
            low: 0,
            high: 100
        },
        reserve: {
            low: 0,
            high: 5
        },
        hang_s: {
            low: 0,
            high: 600
        },
        note: {
            longest: 500
        },
        asked_reps: {
            low: 0,
            high: 100
        },
        splits_s: {
            most: 50
        },
        halves_s: {
            most: 50
        },
        line: {
            longest: 160
        }
    },
    SettingsInput: {
        gym_name: {
            longest: 80
        },
        timezone: {
            longest: 64
        }
    },
    SignInInput: {
        email: {
            longest: 200
        },
        password: {
            longest: 200
        },
        code: {
            longest: 20
        }
    },
    SignalInput: {
        soreness: {
            low: 0,
            high: 5
        },
        effort: {
            low: 0,
            high: 10
        },
        felt_worked: {
            longest: 200
        }
    },
    SorenessInput: {
        soreness: {
            low: 0,
            high: 5
        }
    },
    TimeOffInput: {
        why: {
            longest: 80
        }
    },
    TokenInput: {
        name: {
            longest: 80
        },
        scopes: {
            most: 7
        },
        days: {
            low: 1,
            high: 365
        }
    },
    WebhookInput: {
        address: {
            longest: 500
        }
    },
    WeighingInput: {
        mass_kg: {
            low: 20,
            high: 300
        }
    }
} as const;

/** The verdicts in their order of precedence. */
export const verdictOrder = ['refer', 'rest', 'step-down', 'switch', 'climb', 'test', 'stay'] as const;
