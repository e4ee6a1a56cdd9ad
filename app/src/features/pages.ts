// Every page but the first, as one download: what they share would otherwise be loaded with the first screen.
export { BenchPage } from './bench/BenchPage';
export { ToolPage } from './bench/ToolPage';
export { RoofPage } from './roof/RoofPage';
export { DataPage } from './shop/DataPage';
export { OddsPage } from './shop/OddsPage';
export { RulesPage } from './shop/RulesPage';
export { ShopPage } from './shop/ShopPage';
export { SitePage } from './sites/SitePage';
export { SitesPage } from './sites/SitesPage';
export { ImportPage } from './tables/ImportPage';
export { TablePage } from './tables/TablePage';
export { TablesPage } from './tables/TablesPage';
export { TypeTablePage } from './tables/typing/TypeTablePage';
export { UnitPage } from './units/UnitPage';
export { QuickCheckPage } from './visit/QuickCheckPage';
export { VisitPage } from './visit/VisitPage';
export { WaitingPage } from './waiting/WaitingPage';
