import type { GlobalThemeOverrides } from 'naive-ui';
import { tokens } from './tokens';

const { color, radius, type } = tokens;

/** Naive UI in this house's clothes. */
export const themeOverrides: GlobalThemeOverrides = {
    common: {
        primaryColor: color.graphite,
        primaryColorHover: '#3b4048',
        primaryColorPressed: '#111315',
        primaryColorSuppl: color.graphite,
        errorColor: color.refer,
        errorColorHover: color.refer,
        errorColorPressed: color.refer,
        warningColor: color.down,
        successColor: color.climb,
        infoColor: color.stay,
        bodyColor: color.paper,
        cardColor: color.card,
        modalColor: color.paper,
        popoverColor: color.card,
        borderColor: color.edge,
        dividerColor: color.line,
        textColorBase: color.graphite,
        textColor1: color.graphite,
        textColor2: color.graphite,
        textColor3: color.dust,
        placeholderColor: color.dust,
        placeholderColorDisabled: color.dust,
        borderRadius: radius.small,
        borderRadiusSmall: radius.small,
        fontFamily: type.text,
        fontFamilyMono: type.text,
        fontSize: type.base,
        fontSizeMedium: type.base,
        fontSizeLarge: '16px',
        heightMedium: '40px',
        heightLarge: '48px',
        heightSmall: '34px',
    },
    Button: { fontWeight: '600', textColor: color.graphite, border: `1px solid ${color.edge}`, color: color.card, colorHover: color.sunk },
    Input: { border: `1px solid ${color.edge}`, boxShadowFocus: `0 0 0 3px ${color.ply}` },
};
